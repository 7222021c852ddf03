CREATE TABLE IF NOT EXISTS `account` (
	`id` varchar(64) NOT NULL,
	`account_id` varchar(255) NOT NULL,
	`provider_id` varchar(255) NOT NULL,
	`user_id` varchar(64) NOT NULL,
	`access_token` text,
	`refresh_token` text,
	`id_token` text,
	`access_token_expires_at` timestamp(3),
	`refresh_token_expires_at` timestamp(3),
	`scope` text,
	`password` text,
	`created_at` timestamp(3) NOT NULL DEFAULT (now()),
	`updated_at` timestamp(3) NOT NULL DEFAULT (now()),
	CONSTRAINT `account_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `household_members` (
	`household_id` varchar(64) NOT NULL,
	`user_id` varchar(64) NOT NULL,
	`role` varchar(16) NOT NULL,
	CONSTRAINT `household_members_household_id_user_id_pk` PRIMARY KEY(`household_id`,`user_id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `households` (
	`id` varchar(64) NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	`profile` json NOT NULL,
	`chosen_scenario_id` varchar(64) NOT NULL,
	`chosen_power_system_id` varchar(64) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`saved_at` datetime(3) NOT NULL,
	CONSTRAINT `households_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `load_sources` (
	`household_id` varchar(64) NOT NULL,
	`power_system_id` varchar(64) NOT NULL,
	`load_id` varchar(64) NOT NULL,
	`source_id` varchar(64) NOT NULL,
	CONSTRAINT `load_sources_household_id_power_system_id_load_id_pk` PRIMARY KEY(`household_id`,`power_system_id`,`load_id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `loads` (
	`household_id` varchar(64) NOT NULL,
	`id` varchar(64) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`note` text NOT NULL,
	`volts` int NOT NULL,
	`leg` varchar(8) NOT NULL,
	`medical` boolean NOT NULL,
	`start` json,
	`behaviour` json NOT NULL,
	CONSTRAINT `loads_household_id_id_pk` PRIMARY KEY(`household_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `power_systems` (
	`household_id` varchar(64) NOT NULL,
	`id` varchar(64) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`note` text NOT NULL,
	CONSTRAINT `power_systems_household_id_id_pk` PRIMARY KEY(`household_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `scenarios` (
	`household_id` varchar(64) NOT NULL,
	`id` varchar(64) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`note` text NOT NULL,
	`starts_at` varchar(16) NOT NULL,
	`duration_h` double NOT NULL,
	`carried_tiers` varchar(16) NOT NULL,
	`confidence` double NOT NULL,
	`place` json NOT NULL,
	`outdoor` json NOT NULL,
	`away` json NOT NULL,
	`asleep` json NOT NULL,
	CONSTRAINT `scenarios_household_id_id_pk` PRIMARY KEY(`household_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `session` (
	`id` varchar(64) NOT NULL,
	`expires_at` timestamp(3) NOT NULL,
	`token` varchar(255) NOT NULL,
	`created_at` timestamp(3) NOT NULL DEFAULT (now()),
	`updated_at` timestamp(3) NOT NULL DEFAULT (now()),
	`ip_address` varchar(64),
	`user_agent` text,
	`user_id` varchar(64) NOT NULL,
	CONSTRAINT `session_id` PRIMARY KEY(`id`),
	CONSTRAINT `session_token_unique` UNIQUE(`token`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `sources` (
	`household_id` varchar(64) NOT NULL,
	`power_system_id` varchar(64) NOT NULL,
	`id` varchar(64) NOT NULL,
	`position` int NOT NULL,
	`name` varchar(80) NOT NULL,
	`kind` varchar(16) NOT NULL,
	`capacity_wh` double NOT NULL,
	`spec` json NOT NULL,
	CONSTRAINT `sources_household_id_power_system_id_id_pk` PRIMARY KEY(`household_id`,`power_system_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `standings` (
	`household_id` varchar(64) NOT NULL,
	`scenario_id` varchar(64) NOT NULL,
	`load_id` varchar(64) NOT NULL,
	`is_on` boolean NOT NULL,
	`tier` varchar(16) NOT NULL,
	CONSTRAINT `standings_household_id_scenario_id_load_id_pk` PRIMARY KEY(`household_id`,`scenario_id`,`load_id`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `user` (
	`id` varchar(64) NOT NULL,
	`name` varchar(255) NOT NULL,
	`email` varchar(255) NOT NULL,
	`email_verified` boolean NOT NULL DEFAULT false,
	`image` text,
	`created_at` timestamp(3) NOT NULL DEFAULT (now()),
	`updated_at` timestamp(3) NOT NULL DEFAULT (now()),
	`is_anonymous` boolean DEFAULT false,
	CONSTRAINT `user_id` PRIMARY KEY(`id`),
	CONSTRAINT `user_email_unique` UNIQUE(`email`)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `verification` (
	`id` varchar(64) NOT NULL,
	`identifier` varchar(255) NOT NULL,
	`value` text NOT NULL,
	`expires_at` timestamp(3) NOT NULL,
	`created_at` timestamp(3) NOT NULL DEFAULT (now()),
	`updated_at` timestamp(3) NOT NULL DEFAULT (now()),
	CONSTRAINT `verification_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `account` ADD CONSTRAINT `account_user_id_user_id_fk` FOREIGN KEY IF NOT EXISTS `account_user_id_user_id_fk` (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `household_members` ADD CONSTRAINT `household_members_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `household_members_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `household_members` ADD CONSTRAINT `household_members_user_id_user_id_fk` FOREIGN KEY IF NOT EXISTS `household_members_user_id_user_id_fk` (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `load_sources` ADD CONSTRAINT `load_source_source` FOREIGN KEY IF NOT EXISTS `load_source_source` (`household_id`,`power_system_id`,`source_id`) REFERENCES `sources`(`household_id`,`power_system_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `load_sources` ADD CONSTRAINT `load_source_load` FOREIGN KEY IF NOT EXISTS `load_source_load` (`household_id`,`load_id`) REFERENCES `loads`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `loads` ADD CONSTRAINT `loads_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `loads_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `power_systems` ADD CONSTRAINT `power_systems_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `power_systems_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `scenarios` ADD CONSTRAINT `scenarios_household_id_households_id_fk` FOREIGN KEY IF NOT EXISTS `scenarios_household_id_households_id_fk` (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_user_id_user_id_fk` FOREIGN KEY IF NOT EXISTS `session_user_id_user_id_fk` (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `sources` ADD CONSTRAINT `source_power_system` FOREIGN KEY IF NOT EXISTS `source_power_system` (`household_id`,`power_system_id`) REFERENCES `power_systems`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `standings` ADD CONSTRAINT `standing_scenario` FOREIGN KEY IF NOT EXISTS `standing_scenario` (`household_id`,`scenario_id`) REFERENCES `scenarios`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `standings` ADD CONSTRAINT `standing_load` FOREIGN KEY IF NOT EXISTS `standing_load` (`household_id`,`load_id`) REFERENCES `loads`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `account_user` ON `account` (`user_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `member_user` ON `household_members` (`user_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `load_source_of_load` ON `load_sources` (`household_id`,`load_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `session_user` ON `session` (`user_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `standing_of_load` ON `standings` (`household_id`,`load_id`);--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `verification_identifier` ON `verification` (`identifier`);