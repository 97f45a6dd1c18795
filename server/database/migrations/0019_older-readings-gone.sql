DROP TABLE `air_readings`;--> statement-breakpoint
DROP TABLE `scales`;--> statement-breakpoint
DROP TABLE `sensors`;--> statement-breakpoint
DROP TABLE `weigh_ins`;