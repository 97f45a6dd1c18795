ALTER TABLE `attachments` ADD `edge` text;--> statement-breakpoint
ALTER TABLE `parts` ADD `lacks` text;--> statement-breakpoint
ALTER TABLE `placements` ADD `off_by` text;