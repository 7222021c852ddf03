CREATE TABLE IF NOT EXISTS `runs` (
	`household_id` varchar(64) NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`kind` varchar(16) NOT NULL,
	`name` varchar(80) NOT NULL,
	`source_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`started_at` datetime(3) NOT NULL,
	`starts_local` varchar(16) NOT NULL,
	`plan` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `runs_household_id_id_pk` PRIMARY KEY(`household_id`,`id`),
	CONSTRAINT `runs_household_id_households_id_fk` FOREIGN KEY (`household_id`) REFERENCES `households`(`id`) ON DELETE cascade ON UPDATE no action
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `run_entries` (
	`sequence` bigint unsigned AUTO_INCREMENT NOT NULL,
	`household_id` varchar(64) NOT NULL,
	`run_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`at` datetime(3) NOT NULL,
	`entry` json NOT NULL,
	CONSTRAINT `run_entries_sequence` PRIMARY KEY(`sequence`),
	CONSTRAINT `run_entry_once` UNIQUE(`household_id`,`run_id`,`id`),
	CONSTRAINT `entry_of_run` FOREIGN KEY (`household_id`,`run_id`) REFERENCES `runs`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action
);
