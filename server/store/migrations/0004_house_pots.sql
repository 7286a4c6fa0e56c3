CREATE TABLE "house_pots" (
	"id" text PRIMARY KEY NOT NULL,
	"body" jsonb NOT NULL
);
