CREATE TABLE `attachments` (
	`part_id` text PRIMARY KEY NOT NULL,
	`hive_id` text NOT NULL,
	`position` integer NOT NULL,
	`place` text NOT NULL,
	FOREIGN KEY (`part_id`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`hive_id`) REFERENCES `hives`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `attachments_by_hive` ON `attachments` (`hive_id`);--> statement-breakpoint
CREATE TABLE `edits` (
	`sequence` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`yard_id` text NOT NULL,
	`base_revision` integer NOT NULL,
	`revision` integer NOT NULL,
	`made_at` text NOT NULL,
	`received_at` text NOT NULL,
	`device` text NOT NULL,
	`kind` text NOT NULL,
	`target_id` text,
	`edit` text NOT NULL,
	`inverse` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `edits_id_unique` ON `edits` (`id`);--> statement-breakpoint
CREATE INDEX `edits_by_yard` ON `edits` (`yard_id`,`revision`);--> statement-breakpoint
CREATE TABLE `hives` (
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`position` integer NOT NULL,
	`name` text NOT NULL,
	`stage` text NOT NULL,
	`note` text NOT NULL,
	`accepted` text NOT NULL,
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `hives_by_yard` ON `hives` (`yard_id`);--> statement-breakpoint
CREATE TABLE `parts` (
	`id` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`position` integer NOT NULL,
	`pattern_id` text NOT NULL,
	`name` text,
	`measured` text,
	`contents` text NOT NULL,
	`has_held` text NOT NULL,
	`hole` text,
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `parts_by_yard` ON `parts` (`yard_id`);--> statement-breakpoint
CREATE TABLE `placements` (
	`part_id` text PRIMARY KEY NOT NULL,
	`hive_id` text NOT NULL,
	`position` integer NOT NULL,
	`turned_over` integer NOT NULL,
	`yaw_deg` integer NOT NULL,
	`offset_x_mm` real NOT NULL,
	`offset_y_mm` real NOT NULL,
	`role` text,
	FOREIGN KEY (`part_id`) REFERENCES `parts`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`hive_id`) REFERENCES `hives`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `placements_by_hive` ON `placements` (`hive_id`);--> statement-breakpoint
CREATE TABLE `yards` (
	`id` text PRIMARY KEY NOT NULL,
	`position` integer NOT NULL,
	`name` text NOT NULL,
	`note` text NOT NULL,
	`band` text NOT NULL,
	`revision` integer NOT NULL
);
