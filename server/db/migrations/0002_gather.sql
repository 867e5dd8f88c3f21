ALTER TABLE `passages` ADD `original` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `passages` ADD `comment` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `passages` ADD `tags` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` ADD `parked` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` ADD `settled` text DEFAULT '[]' NOT NULL;