CREATE TABLE `__new_hives` (
	`yard_id` text NOT NULL,
	`id` text NOT NULL,
	`order_key` text NOT NULL,
	`name` text NOT NULL,
	`stage` text NOT NULL,
	`note` text NOT NULL,
	`accepted` text NOT NULL,
	`season` text,
	`visit` text,
	PRIMARY KEY(`yard_id`, `id`),
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `__new_hives` SELECT `yard_id`, `id`, 'd' || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 238328) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 3844) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 62) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', `position` % 62 + 1, 1), `name`, `stage`, `note`, `accepted`, `season`, `visit` FROM `hives`;
--> statement-breakpoint
CREATE TABLE `__new_parts` (
	`yard_id` text NOT NULL,
	`id` text NOT NULL,
	`order_key` text NOT NULL,
	`pattern_id` text NOT NULL,
	`name` text,
	`measured` text,
	`contents` text NOT NULL,
	`has_held` text NOT NULL,
	`hole` text,
	`readings` text,
	`condition` text,
	`spacing` text,
	`lacks` text,
	PRIMARY KEY(`yard_id`, `id`),
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `__new_parts` SELECT `yard_id`, `id`, 'd' || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 238328) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 3844) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', (`position` / 62) % 62 + 1, 1) || substr('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz', `position` % 62 + 1, 1), `pattern_id`, `name`, `measured`, `contents`, `has_held`, `hole`, `readings`, `condition`, `spacing`, `lacks` FROM `parts`;
--> statement-breakpoint
CREATE TABLE `__old_placements` AS SELECT `hives`.`yard_id` AS `yard_id`, `part_id`, `hive_id`, `placements`.`position` AS `position`, `turned_over`, `yaw_deg`, `offset_x_mm`, `offset_y_mm`, `role`, `off_by` FROM `placements` JOIN `hives` ON `hives`.`id` = `placements`.`hive_id`;
--> statement-breakpoint
CREATE TABLE `__old_attachments` AS SELECT `hives`.`yard_id` AS `yard_id`, `part_id`, `hive_id`, `attachments`.`position` AS `position`, `place`, `edge` FROM `attachments` JOIN `hives` ON `hives`.`id` = `attachments`.`hive_id`;
--> statement-breakpoint
ALTER TABLE `weigh_ins` ADD `yard_id` text NOT NULL DEFAULT '';
--> statement-breakpoint
ALTER TABLE `scales` ADD `yard_id` text NOT NULL DEFAULT '';
--> statement-breakpoint
CREATE TABLE `__yards_of_hives` AS SELECT `hive_id`, coalesce((SELECT `yard_id` FROM `hives` WHERE `hives`.`id` = `known`.`hive_id`), (SELECT `yard_id` FROM `edits` WHERE instr(`edits`.`edit`, '"hiveId":"' || `known`.`hive_id` || '"') > 0 ORDER BY `sequence` DESC LIMIT 1), '') AS `yard_id` FROM (SELECT `hive_id` FROM `weigh_ins` UNION SELECT `hive_id` FROM `scales`) AS `known`;
--> statement-breakpoint
UPDATE `weigh_ins` SET `yard_id` = (SELECT `yard_id` FROM `__yards_of_hives` WHERE `__yards_of_hives`.`hive_id` = `weigh_ins`.`hive_id`);
--> statement-breakpoint
UPDATE `scales` SET `yard_id` = (SELECT `yard_id` FROM `__yards_of_hives` WHERE `__yards_of_hives`.`hive_id` = `scales`.`hive_id`);
--> statement-breakpoint
DROP TABLE `__yards_of_hives`;
--> statement-breakpoint
DROP TABLE `placements`;
--> statement-breakpoint
DROP TABLE `attachments`;
--> statement-breakpoint
DROP TABLE `hives`;
--> statement-breakpoint
DROP TABLE `parts`;
--> statement-breakpoint
ALTER TABLE `__new_hives` RENAME TO `hives`;
--> statement-breakpoint
ALTER TABLE `__new_parts` RENAME TO `parts`;
--> statement-breakpoint
CREATE TABLE `placements` (
	`yard_id` text NOT NULL,
	`part_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`position` integer NOT NULL,
	`turned_over` integer NOT NULL,
	`yaw_deg` integer NOT NULL,
	`offset_x_mm` real NOT NULL,
	`offset_y_mm` real NOT NULL,
	`role` text,
	`off_by` text,
	PRIMARY KEY(`yard_id`, `part_id`),
	FOREIGN KEY (`yard_id`,`part_id`) REFERENCES `parts`(`yard_id`,`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`yard_id`,`hive_id`) REFERENCES `hives`(`yard_id`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `attachments` (
	`yard_id` text NOT NULL,
	`part_id` text NOT NULL,
	`hive_id` text NOT NULL,
	`position` integer NOT NULL,
	`place` text NOT NULL,
	`edge` text,
	PRIMARY KEY(`yard_id`, `part_id`),
	FOREIGN KEY (`yard_id`,`part_id`) REFERENCES `parts`(`yard_id`,`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`yard_id`,`hive_id`) REFERENCES `hives`(`yard_id`,`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `placements` SELECT * FROM `__old_placements`;
--> statement-breakpoint
INSERT INTO `attachments` SELECT * FROM `__old_attachments`;
--> statement-breakpoint
DROP TABLE `__old_placements`;
--> statement-breakpoint
DROP TABLE `__old_attachments`;
--> statement-breakpoint
CREATE INDEX `placements_by_hive` ON `placements` (`yard_id`,`hive_id`);
--> statement-breakpoint
CREATE INDEX `attachments_by_hive` ON `attachments` (`yard_id`,`hive_id`);
--> statement-breakpoint
CREATE TABLE `imports` (
	`id` text PRIMARY KEY NOT NULL,
	`received_at` text NOT NULL,
	`content_hash` text NOT NULL,
	`result` text NOT NULL
);
--> statement-breakpoint
DROP INDEX `edits_id_unique`;
--> statement-breakpoint
CREATE UNIQUE INDEX `edits_once` ON `edits` (`yard_id`,`id`);
--> statement-breakpoint
ALTER TABLE `edits` ADD `happened_at` text NOT NULL DEFAULT '';
--> statement-breakpoint
UPDATE `edits` SET `happened_at` = `ordered`.`at` FROM (SELECT `sequence` AS `of`, max(min(`made_at`, `received_at`)) OVER (PARTITION BY `yard_id` ORDER BY `sequence`) AS `at` FROM `edits`) AS `ordered` WHERE `ordered`.`of` = `edits`.`sequence`;
--> statement-breakpoint
DROP INDEX `weigh_ins_by_hive`;
--> statement-breakpoint
DROP INDEX `weigh_ins_once`;
--> statement-breakpoint
CREATE INDEX `weigh_ins_by_hive` ON `weigh_ins` (`yard_id`,`hive_id`,`at`);
--> statement-breakpoint
CREATE INDEX `weigh_ins_by_batch` ON `weigh_ins` (`batch_id`);
--> statement-breakpoint
CREATE UNIQUE INDEX `weigh_ins_once` ON `weigh_ins` (`yard_id`,`hive_id`,`at`,`source`) WHERE removed_at IS NULL;
