CREATE TABLE `rehearsals` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
DROP INDEX `captures_by_date`;--> statement-breakpoint
DROP INDEX `captures_by_species`;--> statement-breakpoint
DROP INDEX `captures_by_water`;--> statement-breakpoint
DROP INDEX `captures_by_weight`;--> statement-breakpoint
DROP INDEX `captures_by_species_and_weight`;--> statement-breakpoint
DROP INDEX `captures_by_water_and_weight`;--> statement-breakpoint
DROP INDEX `captures_by_outing`;--> statement-breakpoint
DROP INDEX `captures_by_outcome`;--> statement-breakpoint
CREATE INDEX `captures_by_date` ON `captures` (`started_at`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_species` ON `captures` (`species`,`started_at`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_water` ON `captures` (`water_id`,`started_at`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_weight` ON `captures` (`weight_rank`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_species_and_weight` ON `captures` (`species`,`weight_rank`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_water_and_weight` ON `captures` (`water_id`,`weight_rank`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_outing` ON `captures` (`outing_id`,`started_at`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;--> statement-breakpoint
CREATE INDEX `captures_by_outcome` ON `captures` (`outcome`,`written_up`,`started_at`,`id`) WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL;