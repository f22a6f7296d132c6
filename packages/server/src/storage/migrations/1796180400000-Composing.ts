import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Whole looks composed for a look, as far as they were found. */
export class Composing1796180400000 implements MigrationInterface {
  name = 'Composing1796180400000'

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`
      CREATE TABLE "composing" (
        "lookId" text PRIMARY KEY NOT NULL,
        "id" text NOT NULL,
        "version" integer NOT NULL,
        "asked" text NOT NULL,
        "base" text NOT NULL,
        "looks" text NOT NULL,
        "ended" boolean NOT NULL,
        "createdAtMs" integer NOT NULL,
        CONSTRAINT "FK_46e6e2d4dcd22db752a125aba92" FOREIGN KEY ("lookId") REFERENCES "look" ("id") ON DELETE CASCADE ON UPDATE NO ACTION
      )
    `)
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP TABLE "composing"`)
  }
}
