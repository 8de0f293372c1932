import {
    BufferAttribute,
    BufferGeometry,
    DoubleSide,
    Group,
    Mesh,
    MeshMatcapMaterial,
    OrthographicCamera,
    Plane,
    Scene,
    Vector3,
    WebGLRenderer,
} from 'three';
import { toCreasedNormals } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import { matcapOf } from './matcap';
import { bodyOf, type PlainPart } from './parts';

/** How a piece is looked at: turned to the right, tipped, near; and how much of it is cut away, of 1. */
export interface Eye {
    turn: number;
    tip: number;
    near: number;
    cut: number;
}

export const EYE: Eye = { turn: 0.55, tip: 0.42, near: 1, cut: 0 };

const STEEP = 1.5;

/** Kept between what can be looked at. */
export const within = (eye: Eye): Eye => ({
    ...eye,
    tip: Math.max(-STEEP, Math.min(STEEP, eye.tip)),
    near: Math.max(0.5, Math.min(6, eye.near)),
    cut: Math.max(0, Math.min(1, eye.cut)),
});

const MARGIN = 0.96;

/** An edge sharper than this stays an edge; a stone’s facets all do. */
const CREASE = { metal: 0.6, stone: 0.02, wax: 0.6, clear: 0.6 };

/** The piece on a graphics card. Drawn when something has changed, and never else. */
export class SolidScene {
    private readonly renderer: WebGLRenderer;
    private readonly scene = new Scene();
    private readonly camera = new OrthographicCamera(-1, 1, 1, -1, 0.1, 1000);
    private readonly piece = new Group();
    private readonly plane = new Plane(new Vector3(0, 1, 0), 0);
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
        this.scene.add(this.piece);
    }

    show(parts: PlainPart[]): void {
        this.empty();
        for (const part of parts) {
            const { points, faces } = bodyOf(part);
            const plain = new BufferGeometry();
            plain.setAttribute('position', new BufferAttribute(points, 3));
            plain.setIndex(new BufferAttribute(faces, 1));
            const geometry = toCreasedNormals(plain, CREASE[part.material]);
            plain.dispose();
            const material = new MeshMatcapMaterial({
                matcap: matcapOf(part.material, part.colour),
                side: DoubleSide,
                transparent: part.material === 'clear',
                opacity: part.material === 'clear' ? 0.22 : 1,
                depthWrite: part.material !== 'clear',
            });
            const mesh = new Mesh(geometry, material);
            mesh.userData.cut = part.kind !== 'stone';
            this.piece.add(mesh);
        }
        this.measure();
    }

    draw(eye: Eye): void {
        const { clientWidth, clientHeight } = this.canvas;
        if (clientWidth === 0 || clientHeight === 0) return;
        this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
        this.renderer.setSize(clientWidth, clientHeight, false);
        const aspect = clientWidth / clientHeight;
        const half = (this.reach * MARGIN) / eye.near;
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
        this.renderer.render(this.scene, this.camera);
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
