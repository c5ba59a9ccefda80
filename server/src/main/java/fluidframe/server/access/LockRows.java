package fluidframe.server.access;

import org.springframework.data.jpa.repository.JpaRepository;

interface LockRows extends JpaRepository<LockRow, Integer> {}
