CREATE TABLE `hive_moves` (
	`sequence` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`to_yard_id` text NOT NULL,
	`to_hive_id` text NOT NULL,
	`moved_at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `hive_moves_from` ON `hive_moves` (`yard_id`,`hive_id`);