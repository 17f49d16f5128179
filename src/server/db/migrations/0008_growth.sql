DROP INDEX `runs_status`;--> statement-breakpoint
CREATE INDEX `runs_status_plan` ON `runs` (`status`,`plan_id`,`made_on`);--> statement-breakpoint
CREATE INDEX `runs_status` ON `runs` (`status`,`made_on`,`id`,`updated_at`);--> statement-breakpoint
ALTER TABLE `pantries` ADD `mark` text;--> statement-breakpoint
INSERT OR IGNORE INTO `pantries` (`id`, `edition`) VALUES (1, 1);--> statement-breakpoint
UPDATE `pantries` SET `mark` = hex(randomblob(8));--> statement-breakpoint
CREATE TRIGGER `pantry_ingredients_insert` AFTER INSERT ON `pantry_ingredients` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;--> statement-breakpoint
CREATE TRIGGER `pantry_ingredients_update` AFTER UPDATE ON `pantry_ingredients` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;--> statement-breakpoint
CREATE TRIGGER `pantry_ingredients_delete` AFTER DELETE ON `pantry_ingredients` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;--> statement-breakpoint
CREATE TRIGGER `pantry_preparations_insert` AFTER INSERT ON `pantry_preparations` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;--> statement-breakpoint
CREATE TRIGGER `pantry_preparations_update` AFTER UPDATE ON `pantry_preparations` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;--> statement-breakpoint
CREATE TRIGGER `pantry_preparations_delete` AFTER DELETE ON `pantry_preparations` BEGIN UPDATE `pantries` SET `mark` = hex(randomblob(8)); END;
