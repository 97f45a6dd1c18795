CREATE TABLE `book_entries` (
	`sequence` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`sort` text NOT NULL,
	`at` text NOT NULL,
	`made_at` text NOT NULL,
	`received_at` text NOT NULL,
	`chain` text NOT NULL,
	`about` text,
	`is_current` integer NOT NULL,
	`entry` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `book_entries_once` ON `book_entries` (`yard_id`,`id`);--> statement-breakpoint
CREATE INDEX `book_entries_by_chain` ON `book_entries` (`yard_id`,`chain`);--> statement-breakpoint
CREATE INDEX `book_entries_by_hive` ON `book_entries` (`yard_id`,`hive_id`,`at`);--> statement-breakpoint
CREATE INDEX `book_entries_current` ON `book_entries` (`yard_id`,`sort`,`hive_id`,`at`) WHERE is_current;--> statement-breakpoint
CREATE INDEX `book_entries_about` ON `book_entries` (`yard_id`,`about`) WHERE about IS NOT NULL AND is_current;