import {
    BufferAttribute,
    BufferGeometry,
    DoubleSide,
    Group,
    Mesh,
    MeshMatcapMaterial,
    OrthographicCamera,
    Plane,
    Points,
    PointsMaterial,
    Scene,
    Vector3,
    WebGLRenderer,
} from 'three';
import { toCreasedNormals } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import { matcapOf } from './matcap';
import type { PlainPart, ShownPart } from './parts';

/**
 * How a piece is looked at: turned to the right, tipped, near; how much of it is cut away, and how far its parts are
 * drawn asunder, of 1.
 */
export interface Eye {
    turn: number;
    tip: number;
    near: number;
    cut: number;
    apart: number;
}

export const EYE: Eye = { turn: 0.55, tip: 0.42, near: 1, cut: 0, apart: 0 };

const STEEP = 1.5;

/** Kept between what can be looked at. */
export const within = (eye: Eye): Eye => ({
    ...eye,
    tip: Math.max(-STEEP, Math.min(STEEP, eye.tip)),
    near: Math.max(0.2, Math.min(8, eye.near)),
    cut: Math.max(0, Math.min(1, eye.cut)),
    apart: Math.max(0, Math.min(1, eye.apart)),
});

const MARGIN = 0.96;

/** An edge sharper than this stays an edge; a stone’s facets all do. */
const CREASE = { metal: 0.6, stone: 0.02, wax: 0.6, clear: 0.6 };

/** How far a part is drawn out of the band, as a share of the piece: the stone farther than what holds it. */
const FAR: Partial<Record<PlainPart['kind'], number>> = {
    collar: 0.35,
    claws: 0.35,
    gallery: 0.25,
    plate: 0.5,
    stone: 0.75,
};

/** As light as its material is, until its lows are found. */
function bright(geometry: BufferGeometry): void {
    const count = geometry.getAttribute('position').count;
    geometry.setAttribute('color', new BufferAttribute(new Float32Array(3 * count).fill(1), 3));
}

/** The piece on a graphics card. Drawn when something has changed, and never else. */
export class SolidScene {
    private readonly renderer: WebGLRenderer;
    private readonly scene = new Scene();
    private readonly camera = new OrthographicCamera(-1, 1, 1, -1, 0.1, 1000);
    private readonly piece = new Group();
    private readonly plane = new Plane(new Vector3(0, 1, 0), 0);
    private readonly marks = new Points(
        new BufferGeometry(),
        new PointsMaterial({ color: 0xb93d06, size: 5, sizeAttenuation: false, depthTest: false }),
    );
    private reach = 1;
    private middle = new Vector3();
    private half = new Vector3(1, 1, 1);

    /** Throws where there is no WebGL. */
    constructor(private readonly canvas: HTMLCanvasElement) {
        this.renderer = new WebGLRenderer({
            canvas,
            antialias: true,
            alpha: true,
            preserveDrawingBuffer: true,
        });
        this.marks.visible = false;
        this.scene.add(this.piece, this.marks);
    }

    show(parts: ShownPart[]): void {
        this.empty();
        for (const part of parts.filter((one) => one.kind !== 'cut')) {
            const { points, faces } = part.body;
            const plain = new BufferGeometry();
            plain.setAttribute('position', new BufferAttribute(points, 3));
            plain.setIndex(new BufferAttribute(faces, 1));
            const geometry = toCreasedNormals(plain, CREASE[part.material]);
            plain.dispose();
            const material = new MeshMatcapMaterial({
                matcap: matcapOf(part.material, part.colour, part.sheen),
                vertexColors: part.is_darkened,
                side: DoubleSide,
                transparent: part.material === 'clear',
                opacity: part.material === 'clear' ? 0.22 : 1,
                depthWrite: part.material !== 'clear',
            });
            const mesh = new Mesh(geometry, material);
            mesh.userData.cut = part.kind !== 'stone';
            mesh.userData.far = FAR[part.kind] ?? 0;
            mesh.userData.solid = part.material !== 'clear';
            mesh.userData.darkened = part.is_darkened;
            if (part.is_darkened) bright(geometry);
            this.piece.add(mesh);
        }
        this.measure();
    }

    /** What lies low goes dark, as liver of sulphur leaves it; true where something did. */
    async darken(): Promise<boolean> {
        const all = [...this.piece.children] as Mesh[];
        if (!all.some((one) => one.userData.darkened === true)) return false;
        const { darken } = await import('./lows');
        // Another piece may stand here by now.
        if (all.some((one) => one.parent !== this.piece)) return false;
        darken(all.filter((one) => one.userData.solid === true));
        return true;
    }

    /** Places that want looking at, seen through all that stands before them. */
    mark(spots?: Float32Array): void {
        this.marks.geometry.dispose();
        this.marks.geometry = new BufferGeometry();
        this.marks.visible = spots !== undefined && spots.length > 0;
        if (spots) this.marks.geometry.setAttribute('position', new BufferAttribute(spots, 3));
    }

    draw(eye: Eye): void {
        const { clientWidth, clientHeight } = this.canvas;
        if (clientWidth === 0 || clientHeight === 0) return;
        this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
        this.renderer.setSize(clientWidth, clientHeight, false);
        const aspect = clientWidth / clientHeight;
        // Drawn asunder it needs more room.
        const half = (this.reach * MARGIN * (1 + 0.55 * eye.apart)) / eye.near;
        this.camera.left = -half * Math.max(1, aspect);
        this.camera.right = half * Math.max(1, aspect);
        this.camera.top = half * Math.max(1, 1 / aspect);
        this.camera.bottom = -half * Math.max(1, 1 / aspect);
        this.camera.updateProjectionMatrix();
        // x across the finger, y along it, z up: seen from the front, a little from the right and above.
        const away = new Vector3(
            Math.sin(eye.turn) * Math.cos(eye.tip),
            -Math.cos(eye.turn) * Math.cos(eye.tip),
            Math.sin(eye.tip),
        );
        this.camera.up.set(0, 0, 1);
        this.camera.position.copy(this.middle).addScaledVector(away, 100);
        this.camera.lookAt(this.middle);
        this.cutAt(eye.cut);
        this.drawAsunder(eye.apart);
        this.renderer.render(this.scene, this.camera);
    }

    /** How near it is to be looked at, to be so many pixels to a millimetre. */
    nearAt(scale: number): number {
        const { clientWidth, clientHeight } = this.canvas;
        return (2 * scale * this.reach * MARGIN) / Math.min(clientWidth, clientHeight);
    }

    drop(): void {
        this.empty();
        this.renderer.dispose();
    }

    /** From the front of the finger inward, stones left whole. */
    private cutAt(cut: number): void {
        this.plane.constant = -(this.middle.y - this.half.y + 2 * this.half.y * cut);
        for (const one of this.piece.children as Mesh<BufferGeometry, MeshMatcapMaterial>[])
            one.material.clippingPlanes = cut > 0 && one.userData.cut === true ? [this.plane] : [];
        this.renderer.localClippingEnabled = cut > 0;
    }

    /** Each part straight away from the finger. */
    private drawAsunder(apart: number): void {
        for (const one of this.piece.children as Mesh[]) {
            const far = Number(one.userData.far) * apart * this.reach;
            one.position.set(0, 0, 0);
            if (far === 0) continue;
            const middle = one.geometry.boundingBox!.getCenter(new Vector3());
            one.position.copy(middle.setY(0).normalize().multiplyScalar(far));
        }
    }

    private measure(): void {
        const least = new Vector3(Infinity, Infinity, Infinity);
        const most = new Vector3(-Infinity, -Infinity, -Infinity);
        for (const one of this.piece.children as Mesh[]) {
            one.geometry.computeBoundingBox();
            least.min(one.geometry.boundingBox!.min);
            most.max(one.geometry.boundingBox!.max);
        }
        if (this.piece.children.length === 0) return;
        this.middle = least.clone().add(most).multiplyScalar(0.5);
        this.half = most.clone().sub(least).multiplyScalar(0.5);
        this.reach = this.half.length();
    }

    private empty(): void {
        for (const one of [...this.piece.children] as Mesh<BufferGeometry, MeshMatcapMaterial>[]) {
            one.geometry.dispose();
            one.material.dispose();
            this.piece.remove(one);
        }
    }
}
