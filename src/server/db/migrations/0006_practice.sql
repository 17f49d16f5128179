CREATE TABLE `practice_answers` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`cook` text NOT NULL,
	`arrived_at` text NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `practice_answers_id` ON `practice_answers` (`cook`,`id`);--> statement-breakpoint
CREATE INDEX `practice_answers_cook` ON `practice_answers` (`cook`,`seq`);