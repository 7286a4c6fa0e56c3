CREATE TABLE "live_plans" (
	"evening_id" text NOT NULL,
	"hash" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "live_plans_evening_id_hash_pk" PRIMARY KEY("evening_id","hash")
);
--> statement-breakpoint
ALTER TABLE "live_plans" ADD CONSTRAINT "live_plans_evening_id_evenings_id_fk" FOREIGN KEY ("evening_id") REFERENCES "public"."evenings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
UPDATE "evenings" SET "summarised" = false;