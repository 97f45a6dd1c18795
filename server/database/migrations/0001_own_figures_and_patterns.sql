ALTER TABLE `parts` ADD `readings` text;--> statement-breakpoint
ALTER TABLE `parts` ADD `condition` text;--> statement-breakpoint
ALTER TABLE `yards` ADD `prolific` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `yards` ADD `overrides` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `yards` ADD `patterns` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `yards` ADD `hanging` text DEFAULT '[]' NOT NULL;