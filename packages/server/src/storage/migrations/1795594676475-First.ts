import type { MigrationInterface, QueryRunner } from "typeorm";

export class First1795594676475 implements MigrationInterface {
    name = 'First1795594676475'

    public async up(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            CREATE TABLE "look" (
                "id" text PRIMARY KEY NOT NULL,
                "occasionId" text NOT NULL,
                "revision" integer NOT NULL,
                "document" text NOT NULL,
                "history" text NOT NULL,
                "updatedAtMs" integer NOT NULL
            )
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c96f3c75db727a25ead064fa48" ON "look" ("occasionId")
        `);
        await queryRunner.query(`
            CREATE TABLE "occasion" (
                "id" text PRIMARY KEY NOT NULL,
                "createdAtMs" integer NOT NULL
            )
        `);
        await queryRunner.query(`
            CREATE TABLE "offer" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL
            )
        `);
        await queryRunner.query(`
            CREATE TABLE "piece" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL
            )
        `);
    }

    public async down(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            DROP TABLE "piece"
        `);
        await queryRunner.query(`
            DROP TABLE "offer"
        `);
        await queryRunner.query(`
            DROP TABLE "occasion"
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_c96f3c75db727a25ead064fa48"
        `);
        await queryRunner.query(`
            DROP TABLE "look"
        `);
    }

}
