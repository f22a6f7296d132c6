import type { MigrationInterface, QueryRunner } from 'typeorm'

/** What a stylist keeps beside occasions and cupboard: tastes, recipes, searches. */
export class Kept1796007600000 implements MigrationInterface {
  name = 'Kept1796007600000'

  async up(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`
      CREATE TABLE "kept" (
        "kind" text NOT NULL,
        "id" text NOT NULL,
        "value" text NOT NULL,
        "createdAtMs" integer NOT NULL,
        PRIMARY KEY ("kind", "id")
      )
    `)
  }

  async down(queryRunner: QueryRunner): Promise<void> {
    await queryRunner.query(`DROP TABLE "kept"`)
  }
}
