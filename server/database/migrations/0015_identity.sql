INSERT OR IGNORE INTO `settings` (`name`, `value`) VALUES ('identity', lower(hex(randomblob(16))));
