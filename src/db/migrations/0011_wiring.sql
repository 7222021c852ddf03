ALTER TABLE `households` ADD COLUMN IF NOT EXISTS `wiring` json;
