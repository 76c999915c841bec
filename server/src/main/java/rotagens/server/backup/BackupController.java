package rotagens.server.backup;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.backup.Backups.BackupView;
import rotagens.server.backup.Backups.BackupsView;

@RestController
class BackupController {

    @Configuration(proxyBeanMethods = false)
    @EnableScheduling
    static class Nightly {}

    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    /** The backups there are, and whether the last one went well. */
    @GetMapping("/api/backups")
    BackupsView listBackups() {
        return backups.all();
    }

    /** Makes a backup now. */
    @PostMapping("/api/backups")
    BackupView makeBackup() {
        return backups.make();
    }
}
