import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Secret addresses where host and client read and answer the looks of an occasion. */
export class Shares1795960800000 implements MigrationInterface {
  name = 'Shares1795960800000'

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`
      CREATE TABLE "share" (
        "secret" text PRIMARY KEY NOT NULL,
        "occasionId" text NOT NULL,
        "withPrices" boolean NOT NULL,
        "createdAtMs" integer NOT NULL,
        "expiresAtMs" integer NOT NULL,
        CONSTRAINT "FK_a686cc8449124ea13d999463efd" FOREIGN KEY ("occasionId") REFERENCES "occasion" ("id") ON DELETE CASCADE ON UPDATE NO ACTION
      )
    `)
    await queryRunner.query(`CREATE INDEX "IDX_a686cc8449124ea13d999463ef" ON "share" ("occasionId")`)
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP TABLE "share"`)
  }
}
