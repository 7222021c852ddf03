ALTER TABLE `household_versions` ADD COLUMN IF NOT EXISTS `changes` json;
