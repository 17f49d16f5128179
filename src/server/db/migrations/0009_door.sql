CREATE TABLE `door_ended` (
	`cookie_hash` text PRIMARY KEY NOT NULL,
	`until` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `door_tries` (
	`address` text PRIMARY KEY NOT NULL,
	`failures` integer NOT NULL,
	`until` integer NOT NULL,
	`right_at` integer
);
