CREATE TABLE `devices` (
	`id` text PRIMARY KEY NOT NULL,
	`device_id` text NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`token_hash` text,
	`former_hash` text,
	`renewed_at` text NOT NULL,
	`paired_at` text NOT NULL,
	`last_seen_at` text NOT NULL,
	`waiting` integer DEFAULT 0 NOT NULL,
	`put_out_at` text
);
--> statement-breakpoint
CREATE INDEX `devices_by_token` ON `devices` (`token_hash`);--> statement-breakpoint
CREATE INDEX `devices_by_former_token` ON `devices` (`former_hash`);