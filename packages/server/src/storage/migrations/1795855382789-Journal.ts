import type { MigrationInterface, QueryRunner } from 'typeorm'
import { fillJournal, fillLookColumns, occasionsForStrays, oldHistories, setOffersAside } from './journalData.js'

/** A journal of edits for each look instead of a history in its row; looks belong to occasions, offers to pieces. */

export class Journal1795855382789 implements MigrationInterface {
    name = 'Journal1795855382789'

    public async up(queryRunner: QueryRunner): Promise<void> {
        const histories = await oldHistories(queryRunner)
        await occasionsForStrays(queryRunner)
        await queryRunner.query(`
            CREATE TABLE "edit" (
                "lookId" text NOT NULL,
                "id" text NOT NULL,
                "revision" integer NOT NULL,
                "kind" text NOT NULL,
                "of" text NOT NULL,
                "what" text NOT NULL,
                "patches" text NOT NULL,
                "inverse" text NOT NULL,
                "window" text NOT NULL,
                "atMs" integer NOT NULL,
                PRIMARY KEY ("lookId", "id")
            )
        `);
        await queryRunner.query(`
            CREATE UNIQUE INDEX "IDX_3f3237a5a8f582352fa10228d7" ON "edit" ("lookId", "revision")
        `);
        await queryRunner.query(`
            CREATE TABLE "set_aside" (
                "id" integer PRIMARY KEY AUTOINCREMENT NOT NULL,
                "table" text NOT NULL,
                "rowId" text NOT NULL,
                "why" text NOT NULL,
                "document" text NOT NULL,
                "atMs" integer NOT NULL
            )
        `);
        await setOffersAside(queryRunner)
        await queryRunner.query(`
            DROP INDEX "IDX_c96f3c75db727a25ead064fa48"
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_look" (
                "id" text PRIMARY KEY NOT NULL,
                "occasionId" text NOT NULL,
                "revision" integer NOT NULL,
                "document" text NOT NULL,
                "updatedAtMs" integer NOT NULL
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_look"(
                    "id",
                    "occasionId",
                    "revision",
                    "document",
                    "updatedAtMs"
                )
            SELECT "id",
                "occasionId",
                "revision",
                "document",
                "updatedAtMs"
            FROM "look"
        `);
        await queryRunner.query(`
            DROP TABLE "look"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_look"
                RENAME TO "look"
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c96f3c75db727a25ead064fa48" ON "look" ("occasionId")
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_c96f3c75db727a25ead064fa48"
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_look" (
                "id" text PRIMARY KEY NOT NULL,
                "occasionId" text NOT NULL,
                "revision" integer NOT NULL,
                "document" text NOT NULL,
                "updatedAtMs" integer NOT NULL,
                "documentRevision" integer NOT NULL DEFAULT (0),
                "name" text NOT NULL DEFAULT (''),
                "date" text NOT NULL DEFAULT ('')
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_look"(
                    "id",
                    "occasionId",
                    "revision",
                    "document",
                    "updatedAtMs"
                )
            SELECT "id",
                "occasionId",
                "revision",
                "document",
                "updatedAtMs"
            FROM "look"
        `);
        await queryRunner.query(`
            DROP TABLE "look"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_look"
                RENAME TO "look"
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c96f3c75db727a25ead064fa48" ON "look" ("occasionId")
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_offer" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL,
                "pieceId" text NOT NULL
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_offer"("id", "position", "document", "pieceId")
            SELECT "id",
                "position",
                "document",
                json_extract("document", '$.pieceId')
            FROM "offer"
        `);
        await queryRunner.query(`
            DROP TABLE "offer"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_offer"
                RENAME TO "offer"
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c0535abd65c7162ec0912e2e61" ON "look" ("date")
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_b368fd35539f68612d64f8c81a" ON "offer" ("pieceId")
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_c96f3c75db727a25ead064fa48"
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_c0535abd65c7162ec0912e2e61"
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_look" (
                "id" text PRIMARY KEY NOT NULL,
                "occasionId" text NOT NULL,
                "revision" integer NOT NULL,
                "document" text NOT NULL,
                "updatedAtMs" integer NOT NULL,
                "documentRevision" integer NOT NULL DEFAULT (0),
                "name" text NOT NULL DEFAULT (''),
                "date" text NOT NULL DEFAULT (''),
                CONSTRAINT "FK_c96f3c75db727a25ead064fa487" FOREIGN KEY ("occasionId") REFERENCES "occasion" ("id") ON DELETE CASCADE ON UPDATE NO ACTION
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_look"(
                    "id",
                    "occasionId",
                    "revision",
                    "document",
                    "updatedAtMs",
                    "documentRevision",
                    "name",
                    "date"
                )
            SELECT "id",
                "occasionId",
                "revision",
                "document",
                "updatedAtMs",
                "documentRevision",
                "name",
                "date"
            FROM "look"
        `);
        await queryRunner.query(`
            DROP TABLE "look"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_look"
                RENAME TO "look"
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c96f3c75db727a25ead064fa48" ON "look" ("occasionId")
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_c0535abd65c7162ec0912e2e61" ON "look" ("date")
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_3f3237a5a8f582352fa10228d7"
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_edit" (
                "lookId" text NOT NULL,
                "id" text NOT NULL,
                "revision" integer NOT NULL,
                "kind" text NOT NULL,
                "of" text NOT NULL,
                "what" text NOT NULL,
                "patches" text NOT NULL,
                "inverse" text NOT NULL,
                "window" text NOT NULL,
                "atMs" integer NOT NULL,
                CONSTRAINT "FK_d35f3f096e676bb08ae57cecabf" FOREIGN KEY ("lookId") REFERENCES "look" ("id") ON DELETE CASCADE ON UPDATE NO ACTION,
                PRIMARY KEY ("lookId", "id")
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_edit"(
                    "lookId",
                    "id",
                    "revision",
                    "kind",
                    "of",
                    "what",
                    "patches",
                    "inverse",
                    "window",
                    "atMs"
                )
            SELECT "lookId",
                "id",
                "revision",
                "kind",
                "of",
                "what",
                "patches",
                "inverse",
                "window",
                "atMs"
            FROM "edit"
        `);
        await queryRunner.query(`
            DROP TABLE "edit"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_edit"
                RENAME TO "edit"
        `);
        await queryRunner.query(`
            CREATE UNIQUE INDEX "IDX_3f3237a5a8f582352fa10228d7" ON "edit" ("lookId", "revision")
        `);
        await queryRunner.query(`
            DROP INDEX "IDX_b368fd35539f68612d64f8c81a"
        `);
        await queryRunner.query(`
            CREATE TABLE "temporary_offer" (
                "id" text PRIMARY KEY NOT NULL,
                "position" integer NOT NULL,
                "document" text NOT NULL,
                "pieceId" text NOT NULL,
                CONSTRAINT "FK_b368fd35539f68612d64f8c81a6" FOREIGN KEY ("pieceId") REFERENCES "piece" ("id") ON DELETE CASCADE ON UPDATE NO ACTION
            )
        `);
        await queryRunner.query(`
            INSERT INTO "temporary_offer"("id", "position", "document", "pieceId")
            SELECT "id",
                "position",
                "document",
                "pieceId"
            FROM "offer"
        `);
        await queryRunner.query(`
            DROP TABLE "offer"
        `);
        await queryRunner.query(`
            ALTER TABLE "temporary_offer"
                RENAME TO "offer"
        `);
        await queryRunner.query(`
            CREATE INDEX "IDX_b368fd35539f68612d64f8c81a" ON "offer" ("pieceId")
        `);
        await fillLookColumns(queryRunner)
        await fillJournal(queryRunner, histories)
    }

    public down(): Promise<void> {
        throw new Error('A journal does not fit back into one column. The copy made before this migration is the way back.')
    }
}
