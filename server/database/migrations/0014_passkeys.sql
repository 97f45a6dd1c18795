CREATE TABLE `passkey_challenges` (
	`id_hash` text PRIMARY KEY NOT NULL,
	`keeper_id` text NOT NULL,
	`ends_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `passkeys` (
	`id` text PRIMARY KEY NOT NULL,
	`keeper_id` text NOT NULL,
	`public_key` text NOT NULL,
	`counter` integer NOT NULL,
	`transports` text NOT NULL,
	`host` text NOT NULL,
	`made_at` text NOT NULL,
	`device` text NOT NULL,
	FOREIGN KEY (`keeper_id`) REFERENCES `keepers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `passkeys_by_keeper` ON `passkeys` (`keeper_id`);