CREATE TABLE `pantries` (
	`id` integer PRIMARY KEY NOT NULL,
	`edition` integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE `pantry_ingredients` ADD `edition` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `pantry_preparations` ADD `edition` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `plan_revisions` ADD `tally` text;--> statement-breakpoint
ALTER TABLE `plan_revisions` ADD `tally_of` text;