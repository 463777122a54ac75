CREATE TABLE `capture_words` (
	`n` integer PRIMARY KEY NOT NULL,
	`capture_id` text NOT NULL,
	`words` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `capture_words_capture_id_unique` ON `capture_words` (`capture_id`);--> statement-breakpoint
CREATE VIRTUAL TABLE `capture_search` USING fts5(words, content='capture_words', content_rowid='n', prefix='2 3', tokenize='unicode61 remove_diacritics 2');
--> statement-breakpoint
CREATE TRIGGER `capture_words_added` AFTER INSERT ON `capture_words` BEGIN
  INSERT INTO `capture_search`(rowid, words) VALUES (new.n, new.words);
END;
--> statement-breakpoint
CREATE TRIGGER `capture_words_removed` AFTER DELETE ON `capture_words` BEGIN
  INSERT INTO `capture_search`(`capture_search`, rowid, words) VALUES ('delete', old.n, old.words);
END;
--> statement-breakpoint
CREATE TRIGGER `capture_words_changed` AFTER UPDATE ON `capture_words` BEGIN
  INSERT INTO `capture_search`(`capture_search`, rowid, words) VALUES ('delete', old.n, old.words);
  INSERT INTO `capture_search`(rowid, words) VALUES (new.n, new.words);
END;
