import type { MigrationInterface, QueryRunner } from "typeorm";

export class Facts1795606603530 implements MigrationInterface {
    name = 'Facts1795606603530'

    public async up(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            CREATE TABLE "photo" (
                "id" text PRIMARY KEY NOT NULL,
                "widthPx" integer NOT NULL,
                "heightPx" integer NOT NULL,
                "large" blob NOT NULL,
                "small" blob NOT NULL,
                "colors" text NOT NULL,
                "createdAtMs" integer NOT NULL
            )
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_piece" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL,
                "facts" text NOT NULL DEFAULT ('')
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_piece"("id", "position", "document")
            SELECT "id",
                "position",
                "document"
            FROM "piece"
        `);
        await queryRunner.query(`
            DROP TABLE "piece"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_piece"
                RENAME TO "piece"
        `);
    }

    public async down(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            ALTER TABLE "piece"
                RENAME TO "temporary_piece"
        `);
        await queryRunner.query(`
            CREATE TABLE "piece" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL
            )
        `);
        await queryRunner.query(`
            INSERT INTO "piece"("id", "position", "document")
            SELECT "id",
                "position",
                "document"
            FROM "temporary_piece"
        `);
        await queryRunner.query(`
            DROP TABLE "temporary_piece"
        `);
        await queryRunner.query(`
            DROP TABLE "photo"
        `);
    }

}
