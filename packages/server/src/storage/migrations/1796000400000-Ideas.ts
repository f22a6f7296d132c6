import type { MigrationInterface, QueryRunner } from 'typeorm'

/** The board of ideas and what there is to do in the rooms. */
export class Ideas1796000400000 implements MigrationInterface {
  name = 'Ideas1796000400000'

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`
      CREATE TABLE "idea" (
        "id" text PRIMARY KEY NOT NULL,
        "kind" text NOT NULL,
        "what" text NOT NULL,
        "source" text NOT NULL,
        "takes" text NOT NULL,
        "photoId" text,
        "stage" text,
        "done" boolean NOT NULL,
        "createdAtMs" integer NOT NULL
      )
    `)
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP TABLE "idea"`)
  }
}
