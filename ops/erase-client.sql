-- Takes the words of one erased client out of what is only ever added to. Written anew at every start, for the rights of this release.
-- What it compares is compared as the tables do it, whoever calls.
SET NAMES utf8mb4 COLLATE utf8mb4_unicode_ci;
DELIMITER //
CREATE OR REPLACE DEFINER='tinta_owner'@'localhost' PROCEDURE `@database@`.erase_client(IN one BIGINT UNSIGNED)
    SQL SECURITY DEFINER
BEGIN
    IF (SELECT erased_at FROM clients WHERE id = one) IS NULL THEN
        SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'Only of a client who is erased.';
    END IF;
    UPDATE pours
        JOIN batches ON batches.id = pours.batch_id JOIN bowls ON bowls.id = batches.bowl_id
        JOIN rounds ON rounds.id = bowls.round_id JOIN visits ON visits.id = rounds.visit_id
        SET pours.reason = 'erased' WHERE visits.client_id = one AND pours.reason IS NOT NULL;
    UPDATE stamps
        JOIN bowls ON bowls.id = stamps.bowl_id JOIN rounds ON rounds.id = bowls.round_id JOIN visits ON visits.id = rounds.visit_id
        SET stamps.words = 'erased' WHERE visits.client_id = one AND stamps.words <> '';
    UPDATE waivers JOIN visits ON visits.id = waivers.visit_id SET waivers.reason = 'erased' WHERE visits.client_id = one;
    UPDATE activity_log JOIN (
        SELECT 'App\\Models\\Client' AS kind, CAST(one AS CHAR(40)) AS id
        UNION ALL SELECT 'App\\Models\\SkinTest', CAST(id AS CHAR(40)) FROM skin_tests WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\ContraindicationNote', CAST(id AS CHAR(40)) FROM contraindications WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\Photo', CAST(id AS CHAR(40)) FROM photos WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\Consent', CAST(id AS CHAR(40)) FROM consents WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\Message', CAST(id AS CHAR(40)) FROM messages WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\ClientMatch', CAST(id AS CHAR(40)) FROM client_matches WHERE client_id = one OR other_id = one
        UNION ALL SELECT 'App\\Models\\Proposal', CAST(id AS CHAR(40)) FROM proposals WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\Visit', CAST(id AS CHAR(40)) FROM visits WHERE client_id = one
        UNION ALL SELECT 'App\\Models\\Waiver', CAST(waivers.id AS CHAR(40)) FROM waivers JOIN visits ON visits.id = waivers.visit_id WHERE visits.client_id = one
        UNION ALL SELECT 'App\\Models\\Canvas', CAST(visits.id AS CHAR(40)) FROM visits WHERE client_id = one
    ) AS theirs ON theirs.kind = activity_log.subject_type AND theirs.id = activity_log.subject_id
        SET activity_log.properties = '{"erased":true}';
END //
DELIMITER ;
GRANT EXECUTE ON PROCEDURE `@database@`.erase_client TO 'tinta_app'@'localhost';
