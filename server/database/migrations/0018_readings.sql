CREATE TABLE `devices` (
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`kind` text NOT NULL,
	`place` text NOT NULL,
	`name` text NOT NULL,
	`key_hex` text NOT NULL,
	`last_sequence` integer DEFAULT -1 NOT NULL,
	`battery_percent` real,
	`seen_at` text,
	`retired_at` text
);
--> statement-breakpoint
CREATE TABLE `readings` (
	`at` text NOT NULL,
	`value` real NOT NULL,
	`more` text,
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`kind` text NOT NULL,
	`place` text NOT NULL,
	`source` text NOT NULL,
	`batch_id` text NOT NULL,
	`removed_at` text
);
--> statement-breakpoint
CREATE INDEX `readings_by_hive` ON `readings` (`yard_id`,`hive_id`,`kind`,`at`);--> statement-breakpoint
CREATE INDEX `readings_by_batch` ON `readings` (`batch_id`);--> statement-breakpoint
CREATE UNIQUE INDEX `readings_once` ON `readings` (`yard_id`,`hive_id`,`kind`,`place`,`at`,`source`) WHERE removed_at IS NULL;--> statement-breakpoint
INSERT INTO `readings` (`id`, `yard_id`, `hive_id`, `kind`, `place`, `at`, `value`, `more`, `source`, `batch_id`, `removed_at`)
SELECT `id`, `yard_id`, `hive_id`, 'weight', 'under', `at`, `kg`,
  CASE WHEN `method` = 'scale' AND `left_kg` IS NULL AND `right_kg` IS NULL THEN NULL
    ELSE json_patch('{}', json_object('method', `method`, 'leftKg', `left_kg`, 'rightKg', `right_kg`)) END,
  `source`, `batch_id`, `removed_at` FROM `weigh_ins`;--> statement-breakpoint
INSERT INTO `readings` (`id`, `yard_id`, `hive_id`, `kind`, `place`, `at`, `value`, `more`, `source`, `batch_id`, `removed_at`)
SELECT `id` || '-air', `yard_id`, `hive_id`, 'air', `place`, `at`, `celsius`,
  CASE WHEN `humidity_percent` IS NULL THEN NULL ELSE json_object('humidityPercent', `humidity_percent`) END,
  `source`, `batch_id`, `removed_at` FROM `air_readings`;--> statement-breakpoint
INSERT INTO `devices` (`id`, `yard_id`, `hive_id`, `kind`, `place`, `name`, `key_hex`, `last_sequence`, `battery_percent`, `seen_at`, `retired_at`)
SELECT `id`, `yard_id`, `hive_id`, 'weight', 'under', `name`, `key_hex`, `last_sequence`, `battery_percent`, `seen_at`, `retired_at` FROM `scales`;--> statement-breakpoint
INSERT INTO `devices` (`id`, `yard_id`, `hive_id`, `kind`, `place`, `name`, `key_hex`, `last_sequence`, `battery_percent`, `seen_at`, `retired_at`)
SELECT `id`, `yard_id`, `hive_id`, 'air', `place`, `name`, `key_hex`, `last_sequence`, `battery_percent`, `seen_at`, `retired_at` FROM `sensors`;
