CREATE TABLE `air_readings` (
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`place` text NOT NULL,
	`at` text NOT NULL,
	`celsius` real NOT NULL,
	`humidity_percent` real,
	`source` text NOT NULL,
	`batch_id` text NOT NULL,
	`removed_at` text
);
--> statement-breakpoint
CREATE INDEX `air_readings_by_hive` ON `air_readings` (`yard_id`,`hive_id`,`at`);--> statement-breakpoint
CREATE INDEX `air_readings_by_batch` ON `air_readings` (`batch_id`);--> statement-breakpoint
CREATE UNIQUE INDEX `air_readings_once` ON `air_readings` (`yard_id`,`hive_id`,`place`,`at`,`source`) WHERE removed_at IS NULL;--> statement-breakpoint
CREATE TABLE `sensors` (
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`place` text NOT NULL,
	`name` text NOT NULL,
	`key_hex` text NOT NULL,
	`last_sequence` integer DEFAULT -1 NOT NULL,
	`battery_percent` real,
	`seen_at` text,
	`retired_at` text
);
--> statement-breakpoint
ALTER TABLE `attachments` ADD `round` text;