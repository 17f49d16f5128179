CREATE TABLE `run_events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`run_id` text NOT NULL,
	`at` text NOT NULL,
	`arrived_at` text NOT NULL,
	`document` text NOT NULL,
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `run_events_id` ON `run_events` (`run_id`,`id`);--> statement-breakpoint
CREATE INDEX `run_events_run` ON `run_events` (`run_id`,`seq`);--> statement-breakpoint
CREATE TABLE `runs` (
	`id` text PRIMARY KEY NOT NULL,
	`plan_id` text NOT NULL,
	`revision` integer NOT NULL,
	`basis` text NOT NULL,
	`summary` text NOT NULL,
	`made_on` text NOT NULL,
	`status` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`plan_id`) REFERENCES `plans`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `runs_plan` ON `runs` (`plan_id`,`made_on`);--> statement-breakpoint
CREATE INDEX `runs_day` ON `runs` (`made_on`);--> statement-breakpoint
CREATE INDEX `runs_status` ON `runs` (`status`);