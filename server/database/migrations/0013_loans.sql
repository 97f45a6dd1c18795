ALTER TABLE `parts` ADD `lent` text;--> statement-breakpoint
ALTER TABLE `parts` ADD `borrowed` text;