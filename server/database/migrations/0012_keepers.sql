CREATE TABLE `invitations` (
	`token_hash` text PRIMARY KEY NOT NULL,
	`yard_id` text NOT NULL,
	`part` text NOT NULL,
	`made_by` text NOT NULL,
	`ends_at` text NOT NULL,
	`used_by` text,
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `keeper_sessions` (
	`id_hash` text PRIMARY KEY NOT NULL,
	`keeper_id` text NOT NULL,
	`host` text NOT NULL,
	`made_at` text NOT NULL,
	`ends_at` text NOT NULL,
	`ended_at` text,
	FOREIGN KEY (`keeper_id`) REFERENCES `keepers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `keeper_sessions_by_keeper` ON `keeper_sessions` (`keeper_id`);--> statement-breakpoint
CREATE TABLE `keepers` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`name_key` text NOT NULL,
	`pass_hash` text NOT NULL,
	`made_at` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `keepers_nameKey_unique` ON `keepers` (`name_key`);--> statement-breakpoint
CREATE TABLE `sign_in_tries` (
	`key` text PRIMARY KEY NOT NULL,
	`count` integer NOT NULL,
	`ends_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `yard_keepers` (
	`yard_id` text NOT NULL,
	`keeper_id` text NOT NULL,
	`part` text NOT NULL,
	`since` text NOT NULL,
	PRIMARY KEY(`yard_id`, `keeper_id`),
	FOREIGN KEY (`yard_id`) REFERENCES `yards`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`keeper_id`) REFERENCES `keepers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `edits` ADD `by` text;