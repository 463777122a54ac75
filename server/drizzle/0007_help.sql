ALTER TABLE `waters` ADD `country` text;--> statement-breakpoint
ALTER TABLE `waters` ADD `meeting_point` text;