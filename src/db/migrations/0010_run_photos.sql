CREATE TABLE IF NOT EXISTS `run_photos` (
	`household_id` varchar(64) NOT NULL,
	`run_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`jpeg` mediumblob NOT NULL,
	`bytes` int NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `run_photos_household_id_run_id_id_pk` PRIMARY KEY(`household_id`,`run_id`,`id`),
	CONSTRAINT `photo_of_run` FOREIGN KEY (`household_id`,`run_id`) REFERENCES `runs`(`household_id`,`id`) ON DELETE cascade ON UPDATE no action
);
