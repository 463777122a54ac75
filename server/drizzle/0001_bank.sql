CREATE TABLE `kit` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `outing_events` (
	`id` text PRIMARY KEY NOT NULL,
	`outing_id` text NOT NULL,
	`device_id` text NOT NULL,
	`at` text NOT NULL,
	`type` text NOT NULL,
	`payload` text NOT NULL,
	`received_at` text NOT NULL,
	FOREIGN KEY (`outing_id`) REFERENCES `outings`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `outing_events_by_outing` ON `outing_events` (`outing_id`,`at`,`id`);--> statement-breakpoint
CREATE TABLE `outings` (
	`id` text PRIMARY KEY NOT NULL,
	`from_ms` integer NOT NULL,
	`summary` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `outings_by_date` ON `outings` (`from_ms`,`id`);--> statement-breakpoint
CREATE TABLE `rigs` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `swims` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `captures` ADD `outing_id` text;--> statement-breakpoint
CREATE INDEX `captures_by_outing` ON `captures` (`outing_id`,`started_at`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
ALTER TABLE `waters` ADD `altitude_m` real;--> statement-breakpoint
ALTER TABLE `waters` ADD `salinity` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `waters` ADD `rules` text;