ALTER TABLE `hives` ADD `season` text;--> statement-breakpoint
ALTER TABLE `hives` ADD `visit` text;--> statement-breakpoint
ALTER TABLE `yards` ADD `season` text;