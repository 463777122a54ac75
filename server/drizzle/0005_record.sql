ALTER TABLE `captures` ADD `record` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `waters` ADD `retired` integer DEFAULT false NOT NULL;