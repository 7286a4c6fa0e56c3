CREATE TABLE "photos" (
	"evening_id" text PRIMARY KEY NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	"jpeg" "bytea",
	"small" "bytea"
);
--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_evening_id_evenings_id_fk" FOREIGN KEY ("evening_id") REFERENCES "public"."evenings"("id") ON DELETE cascade ON UPDATE no action;