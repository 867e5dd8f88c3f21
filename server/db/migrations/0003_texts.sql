CREATE TABLE `text_changes` (
	`paper_id` text NOT NULL,
	`revision` integer NOT NULL,
	`change` text NOT NULL,
	`blocks` integer NOT NULL,
	`size` integer NOT NULL,
	PRIMARY KEY(`paper_id`, `revision`),
	FOREIGN KEY (`paper_id`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `texts` (
	`paper_id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`blocks` integer NOT NULL,
	`size` integer NOT NULL,
	FOREIGN KEY (`paper_id`) REFERENCES `papers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `texts` (`paper_id`, `body`, `blocks`, `size`)
	SELECT `id`, `body`, coalesce(json_array_length(`body`, '$.content'), 0), length(`body`) FROM `papers`;
--> statement-breakpoint
DROP TABLE `house_rules`;--> statement-breakpoint
ALTER TABLE `papers` ADD `saved_by` text;--> statement-breakpoint
ALTER TABLE `papers` DROP COLUMN `body`;--> statement-breakpoint
ALTER TABLE `passages` ADD `saved_by` text;--> statement-breakpoint
CREATE INDEX `passages_source` ON `passages` (`source_id`);--> statement-breakpoint
ALTER TABLE `sources` ADD `saved_by` text;--> statement-breakpoint
ALTER TABLE `uses` ADD `saved_by` text;--> statement-breakpoint
CREATE INDEX `uses_source` ON `uses` (`source_id`);--> statement-breakpoint
CREATE INDEX `snapshots_paper` ON `snapshots` (`paper_id`,`created_at`);