CREATE TABLE IF NOT EXISTS `household_versions` (
	`household_id` varchar(64) NOT NULL,
	`version` int NOT NULL,
	`saved_at` datetime(3) NOT NULL,
	`document_version` int NOT NULL,
	`content` mediumtext NOT NULL,
	`bytes` int NOT NULL,
	CONSTRAINT `household_versions_household_id_version_pk` PRIMARY KEY(`household_id`,`version`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `rate_limits` (
	`key` varchar(255) NOT NULL,
	`points` int NOT NULL DEFAULT 0,
	`expire` bigint unsigned,
	CONSTRAINT `rate_limits_key` PRIMARY KEY(`key`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `recovery_codes` (
	`id` varchar(64) NOT NULL,
	`household_id` varchar(64) NOT NULL,
	`hash` varchar(64) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `recovery_codes_id` PRIMARY KEY(`id`),
	CONSTRAINT `recovery_codes_hash_unique` UNIQUE(`hash`)
);
--> statement-breakpoint
ALTER TABLE `load_sources` DROP FOREIGN KEY IF EXISTS `load_source_source`;--> statement-breakpoint
ALTER TABLE `load_sources` DROP FOREIGN KEY IF EXISTS `load_source_load`;--> statement-breakpoint
ALTER TABLE `sources` DROP FOREIGN KEY IF EXISTS `source_power_system`;--> statement-breakpoint
ALTER TABLE `standings` DROP FOREIGN KEY IF EXISTS `standing_scenario`;--> statement-breakpoint
ALTER TABLE `standings` DROP FOREIGN KEY IF EXISTS `standing_load`;--> statement-breakpoint
ALTER TABLE `households` MODIFY COLUMN `chosen_scenario_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `households` MODIFY COLUMN `chosen_power_system_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `load_sources` MODIFY COLUMN `power_system_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `load_sources` MODIFY COLUMN `load_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `load_sources` MODIFY COLUMN `source_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `loads` MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `power_systems` MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `scenarios` MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` MODIFY COLUMN `power_system_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `sources` MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `standings` MODIFY COLUMN `scenario_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `standings` MODIFY COLUMN `load_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;--> statement-breakpoint
ALTER TABLE `load_sources` ADD CONSTRAINT `load_source_source` FOREIGN KEY IF NOT EXISTS `load_source_source` (`household_id`,`power_system_id`,`source_id`) REFERENCES `sources`(`household_id`,`power_system_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `load_sources` ADD CONSTRAINT `load_source_load` FOREIGN KEY IF NOT EXISTS `load_source_load` (`household_id`,`load_id`) REFERENCES `loads`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sources` ADD CONSTRAINT `source_power_system` FOREIGN KEY IF NOT EXISTS `source_power_system` (`household_id`,`power_system_id`) REFERENCES `power_systems`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `standings` ADD CONSTRAINT `standing_scenario` FOREIGN KEY IF NOT EXISTS `standing_scenario` (`household_id`,`scenario_id`) REFERENCES `scenarios`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `standings` ADD CONSTRAINT `standing_load` FOREIGN KEY IF NOT EXISTS `standing_load` (`household_id`,`load_id`) REFERENCES `loads`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `households` ADD COLUMN IF NOT EXISTS `document_version` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `households` ADD COLUMN IF NOT EXISTS `is_pristine` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `household_versions` ADD CONSTRAINT `household_versions_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `household_versions_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `recovery_codes` ADD CONSTRAINT `recovery_codes_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `recovery_codes_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `recovery_code_household` ON `recovery_codes` (`household_id`);