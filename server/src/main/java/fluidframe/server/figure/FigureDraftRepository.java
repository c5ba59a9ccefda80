package fluidframe.server.figure;

import org.springframework.data.jpa.repository.JpaRepository;

interface FigureDraftRepository extends JpaRepository<FigureDraftEntity, String> {}
