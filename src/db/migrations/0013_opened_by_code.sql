ALTER TABLE `household_members` ADD COLUMN IF NOT EXISTS `opened_by_code` varchar(64), ADD COLUMN IF NOT EXISTS `opened_at` datetime(3);
