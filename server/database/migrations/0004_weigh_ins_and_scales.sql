CREATE TABLE `scales` (
	`id` text PRIMARY KEY NOT NULL,
	`hive_id` text NOT NULL,
	`name` text NOT NULL,
	`key_hex` text NOT NULL,
	`last_sequence` integer DEFAULT -1 NOT NULL,
	`battery_percent` real,
	`seen_at` text,
	`retired_at` text
);
--> statement-breakpoint
CREATE TABLE `weigh_ins` (
	`id` text PRIMARY KEY NOT NULL,
	`hive_id` text NOT NULL,
	`at` text NOT NULL,
	`kg` real NOT NULL,
	`method` text NOT NULL,
	`left_kg` real,
	`right_kg` real,
	`source` text NOT NULL,
	`batch_id` text NOT NULL,
	`removed_at` text
);
--> statement-breakpoint
CREATE INDEX `weigh_ins_by_hive` ON `weigh_ins` (`hive_id`,`at`);--> statement-breakpoint
CREATE UNIQUE INDEX `weigh_ins_once` ON `weigh_ins` (`hive_id`,`at`,`source`);