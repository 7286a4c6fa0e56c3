CREATE TABLE "pantry_items" (
	"key" text PRIMARY KEY NOT NULL,
	"body" jsonb NOT NULL
);
