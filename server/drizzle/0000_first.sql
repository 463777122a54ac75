CREATE TABLE `captures` (
	`id` text PRIMARY KEY NOT NULL,
	`started_at` text,
	`outcome` text NOT NULL,
	`species` text,
	`water_id` text,
	`net_grams` real,
	`weight_rank` real NOT NULL,
	`written_up` integer NOT NULL,
	`summary` text NOT NULL,
	FOREIGN KEY (`water_id`) REFERENCES `waters`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `captures_by_date` ON `captures` (`started_at`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_species` ON `captures` (`species`,`started_at`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_water` ON `captures` (`water_id`,`started_at`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_weight` ON `captures` (`weight_rank`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_species_and_weight` ON `captures` (`species`,`weight_rank`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_water_and_weight` ON `captures` (`water_id`,`weight_rank`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_outcome` ON `captures` (`outcome`,`written_up`,`started_at`,`id`) WHERE outcome <> 'discarded' AND started_at IS NOT NULL;--> statement-breakpoint
CREATE TABLE `events` (
	`id` text PRIMARY KEY NOT NULL,
	`capture_id` text NOT NULL,
	`device_id` text NOT NULL,
	`at` text NOT NULL,
	`elapsed_ms` integer NOT NULL,
	`type` text NOT NULL,
	`payload` text NOT NULL,
	`received_at` text NOT NULL,
	FOREIGN KEY (`capture_id`) REFERENCES `captures`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `events_by_capture` ON `events` (`capture_id`,`elapsed_ms`,`id`);--> statement-breakpoint
CREATE TABLE `pictures` (
	`sha256` text PRIMARY KEY NOT NULL,
	`mime` text NOT NULL,
	`bytes` integer NOT NULL,
	`width_px` integer NOT NULL,
	`height_px` integer NOT NULL,
	`taken_at` text,
	`camera` text,
	`received_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `settings` (
	`name` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `waters` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`latitude_deg` real,
	`longitude_deg` real,
	`note` text,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
