ALTER TABLE `households` ADD COLUMN IF NOT EXISTS `refill` json;--> statement-breakpoint
ALTER TABLE `scenarios` ADD COLUMN IF NOT EXISTS `sky` json;--> statement-breakpoint
ALTER TABLE `scenarios` ADD COLUMN IF NOT EXISTS `charging` json;