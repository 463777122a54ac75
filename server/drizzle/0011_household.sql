CREATE TABLE `keepers` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `captures` ADD `keeper_id` text;--> statement-breakpoint
ALTER TABLE `devices` ADD `keeper_id` text DEFAULT '00000000-0000-4000-8000-000000000000' NOT NULL;--> statement-breakpoint
ALTER TABLE `devices` ADD `sees` text;