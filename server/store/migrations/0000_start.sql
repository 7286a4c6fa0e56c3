CREATE TABLE "evenings" (
	"id" text PRIMARY KEY NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"sit_down_at" timestamp with time zone NOT NULL,
	"updated_at" timestamp with time zone NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "live_events" (
	"seq" bigserial PRIMARY KEY NOT NULL,
	"id" text NOT NULL,
	"evening_id" text NOT NULL,
	"body" jsonb NOT NULL,
	"received_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "live_events" ADD CONSTRAINT "live_events_evening_id_evenings_id_fk" FOREIGN KEY ("evening_id") REFERENCES "public"."evenings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "live_events_id" ON "live_events" USING btree ("id");--> statement-breakpoint
CREATE INDEX "live_events_evening" ON "live_events" USING btree ("evening_id","seq");