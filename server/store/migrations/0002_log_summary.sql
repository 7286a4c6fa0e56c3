ALTER TABLE "evenings" ADD COLUMN "summarised" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "evenings" ADD COLUMN "status" text DEFAULT 'planned' NOT NULL;--> statement-breakpoint
ALTER TABLE "evenings" ADD COLUMN "finished_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "evenings" ADD COLUMN "last_note" text;