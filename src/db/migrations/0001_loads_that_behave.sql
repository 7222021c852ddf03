ALTER TABLE `scenarios` ADD COLUMN IF NOT EXISTS `indoor_c` double DEFAULT 20 NOT NULL;--> statement-breakpoint
ALTER TABLE `scenarios` ADD COLUMN IF NOT EXISTS `rain` varchar(16) DEFAULT 'dry' NOT NULL;--> statement-breakpoint
ALTER TABLE `standings` ADD COLUMN IF NOT EXISTS `steering` json;