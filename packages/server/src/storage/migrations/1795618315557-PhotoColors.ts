import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Main colors are no longer kept with a photo: the browser takes them. */

export class PhotoColors1795618315557 implements MigrationInterface {
    name = 'PhotoColors1795618315557'

    public async up(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            CREATE TABLE "temporary_photo" (
                "id" text PRIMARY KEY NOT NULL,
                "widthPx" integer NOT NULL,
                "heightPx" integer NOT NULL,
                "large" blob NOT NULL,
                "small" blob NOT NULL,
                "createdAtMs" integer NOT NULL
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_photo"(
                    "id",
                    "widthPx",
                    "heightPx",
                    "large",
                    "small",
                    "createdAtMs"
                )
            SELECT "id",
                "widthPx",
                "heightPx",
                "large",
                "small",
                "createdAtMs"
            FROM "photo"
        `);
        await queryRunner.query(`
            DROP TABLE "photo"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_photo"
                RENAME TO "photo"
        `);
    }

    public async down(queryRunner: QueryRunner): Promise<void> {
        await queryRunner.query(`
            ALTER TABLE "photo"
                RENAME TO "temporary_photo"
        `);
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
            INSERT INTO "photo"(
                    "id",
                    "widthPx",
                    "heightPx",
                    "large",
                    "small",
                    "colors",
                    "createdAtMs"
                )
            SELECT "id",
                "widthPx",
                "heightPx",
                "large",
                "small",
                '[]',
                "createdAtMs"
            FROM "temporary_photo"
        `);
        await queryRunner.query(`
            DROP TABLE "temporary_photo"
        `);
    }

}
