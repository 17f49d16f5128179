CREATE TABLE `day_marks` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`day_id` text NOT NULL,
	`arrived_at` text NOT NULL,
	`document` text NOT NULL,
	FOREIGN KEY (`day_id`) REFERENCES `days`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `day_marks_id` ON `day_marks` (`day_id`,`id`);--> statement-breakpoint
CREATE INDEX `day_marks_day` ON `day_marks` (`day_id`,`seq`);--> statement-breakpoint
CREATE TABLE `day_runs` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`day_id` text NOT NULL,
	`service` text NOT NULL,
	`run_id` text NOT NULL,
	FOREIGN KEY (`day_id`) REFERENCES `days`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `day_runs_run` ON `day_runs` (`day_id`,`run_id`);--> statement-breakpoint
CREATE TABLE `days` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL,
	`edition` integer NOT NULL,
	`date` text NOT NULL,
	`created_at` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE INDEX `days_date` ON `days` (`date`);