CREATE TABLE `deleted_pictures` (
	`sha256` text PRIMARY KEY NOT NULL,
	`deleted_at` text NOT NULL
);
