CREATE TABLE `door_keys` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`hash` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `door_keys_name` ON `door_keys` (`name`);--> statement-breakpoint
CREATE TABLE `doors` (
	`id` integer PRIMARY KEY NOT NULL,
	`secret` text NOT NULL,
	`generation` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `shared_links` (
	`token_hash` text PRIMARY KEY NOT NULL,
	`run_id` text NOT NULL,
	`created_at` text NOT NULL,
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `kitchens` ADD `edition` integer DEFAULT 1 NOT NULL;